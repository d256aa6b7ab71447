import { together } from "./together";

together("core");

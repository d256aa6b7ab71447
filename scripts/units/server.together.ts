import { together } from "./together";

together("server");

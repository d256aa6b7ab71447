import { together } from "./together";

together("rest");

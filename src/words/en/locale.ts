/** How this language says days and months. */
export { enUS as locale } from "date-fns/locale/en-US";

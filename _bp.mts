import { benchPage } from "./scripts/bench/page";
void benchPage().then(() => process.exit(0)).catch((e) => { console.log(String(e).slice(0,300)); process.exit(0); });

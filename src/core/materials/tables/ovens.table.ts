// Made from the CSV beside it by `npm run tables`. Edit the CSV.
import { ovens } from "@/words/core/materials/tables/ovens";
import type { OvenSetting } from "../types";
import { tabled } from "./tabled";

export const rows: readonly OvenSetting[] = tabled<OvenSetting>()(
  ["name","provenance"], ovens,
  ["ovenC","fanC","gasMark","timeFactor","fromMemory","uncertainty"], {
  slow_110: [110,100,"0.25",2.6,true,0.15],
  slow_120: [120,110,"0.5",2.1,true,0.12],
  slow_135: [135,125,"1",1.7,true,0.12],
  low_150: [150,135,"2",1.35,true,0.1],
  mod_163: [163,145,"3",1.15,true,0.1],
  mod_180: [180,160,"4",1,true,0.08],
  mod_190: [190,170,"5",0.93,true,0.08],
  hot_200: [200,180,"6",0.87,true,0.08],
  hot_220: [220,200,"7",0.77,true,0.1],
  hot_230: [230,210,"8",0.73,true,0.1],
  max_245: [245,225,"9",0.68,true,0.12],
  broil: [270,null,"",0.5,true,0.25],
});

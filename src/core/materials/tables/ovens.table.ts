// Made from the CSV beside it by `npm run tables`. Edit the CSV.
import type { OvenSetting } from "../types";
import { tabled } from "./tabled";

export const rows: readonly OvenSetting[] = tabled<OvenSetting>()(["id","name","ovenC","fanC","gasMark","timeFactor","typicalUse","notes","provenance","fromMemory","uncertainty"], [
  ["slow_110","very slow",110,100,"0.25",2.6,"ribs, reverse sear","low-and-slow: total time in 4-60 °C must stay short (under 4 h)","common practice",true,0.15],
  ["slow_120","slow",120,110,"0.5",2.1,"shoulder, reverse sear","","common practice",true,0.12],
  ["slow_135","slow",135,125,"1",1.7,"ribs, brisket","","common practice",true,0.12],
  ["low_150","low",150,135,"2",1.35,"shoulder, slow fish","","common practice",true,0.1],
  ["mod_163","moderate low (FSIS 325 F floor for roasting)",163,145,"3",1.15,"turkey, roasts","FSIS: do not roast meat or poultry below 325 F / 163 °C","common practice",true,0.1],
  ["mod_180","moderate",180,160,"4",1,"general roasting","reference row","common practice",true,0.08],
  ["mod_190","moderate hot",190,170,"5",0.93,"chicken","","common practice",true,0.08],
  ["hot_200","hot",200,180,"6",0.87,"fish, pieces, roots","","common practice",true,0.08],
  ["hot_220","very hot",220,200,"7",0.77,"salt crust, flattened birds, fish","","common practice",true,0.1],
  ["hot_230","very hot",230,210,"8",0.73,"skin finish","","common practice",true,0.1],
  ["max_245","fierce",245,225,"9",0.68,"short finish","glass and parchment limits: check","common practice",true,0.12],
  ["broil","broiler / grill element",270,null,"",0.5,"glaze set, 2-5 min","nominal 260-290 °C air near element; flame and fat smoke","common practice",true,0.25],
]);

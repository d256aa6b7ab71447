// Made from the CSV beside it by `npm run tables`. Edit the CSV.
import type { OvenSetting } from "../types";

export const rows: readonly OvenSetting[] = [
  {"id":"slow_110","name":"very slow","ovenC":110,"fanC":100,"gasMark":"0.25","timeFactor":2.6,"typicalUse":"ribs, reverse sear","notes":"low-and-slow: total time in 4-60 °C must stay short (under 4 h)","provenance":"common practice","fromMemory":true,"uncertainty":0.15},
  {"id":"slow_120","name":"slow","ovenC":120,"fanC":110,"gasMark":"0.5","timeFactor":2.1,"typicalUse":"shoulder, reverse sear","notes":"","provenance":"common practice","fromMemory":true,"uncertainty":0.12},
  {"id":"slow_135","name":"slow","ovenC":135,"fanC":125,"gasMark":"1","timeFactor":1.7,"typicalUse":"ribs, brisket","notes":"","provenance":"common practice","fromMemory":true,"uncertainty":0.12},
  {"id":"low_150","name":"low","ovenC":150,"fanC":135,"gasMark":"2","timeFactor":1.35,"typicalUse":"shoulder, slow fish","notes":"","provenance":"common practice","fromMemory":true,"uncertainty":0.1},
  {"id":"mod_163","name":"moderate low (FSIS 325 F floor for roasting)","ovenC":163,"fanC":145,"gasMark":"3","timeFactor":1.15,"typicalUse":"turkey, roasts","notes":"FSIS: do not roast meat or poultry below 325 F / 163 °C","provenance":"common practice","fromMemory":true,"uncertainty":0.1},
  {"id":"mod_180","name":"moderate","ovenC":180,"fanC":160,"gasMark":"4","timeFactor":1,"typicalUse":"general roasting","notes":"reference row","provenance":"common practice","fromMemory":true,"uncertainty":0.08},
  {"id":"mod_190","name":"moderate hot","ovenC":190,"fanC":170,"gasMark":"5","timeFactor":0.93,"typicalUse":"chicken","notes":"","provenance":"common practice","fromMemory":true,"uncertainty":0.08},
  {"id":"hot_200","name":"hot","ovenC":200,"fanC":180,"gasMark":"6","timeFactor":0.87,"typicalUse":"fish, pieces, roots","notes":"","provenance":"common practice","fromMemory":true,"uncertainty":0.08},
  {"id":"hot_220","name":"very hot","ovenC":220,"fanC":200,"gasMark":"7","timeFactor":0.77,"typicalUse":"salt crust, flattened birds, fish","notes":"","provenance":"common practice","fromMemory":true,"uncertainty":0.1},
  {"id":"hot_230","name":"very hot","ovenC":230,"fanC":210,"gasMark":"8","timeFactor":0.73,"typicalUse":"skin finish","notes":"","provenance":"common practice","fromMemory":true,"uncertainty":0.1},
  {"id":"max_245","name":"fierce","ovenC":245,"fanC":225,"gasMark":"9","timeFactor":0.68,"typicalUse":"short finish","notes":"glass and parchment limits: check","provenance":"common practice","fromMemory":true,"uncertainty":0.12},
  {"id":"broil","name":"broiler / grill element","ovenC":270,"fanC":null,"gasMark":"","timeFactor":0.5,"typicalUse":"glaze set, 2-5 min","notes":"nominal 260-290 °C air near element; flame and fat smoke","provenance":"common practice","fromMemory":true,"uncertainty":0.25},
];

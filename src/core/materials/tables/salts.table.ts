// Made from the CSV beside it by `npm run tables`. Edit the CSV.
import { salts } from "@/words/core/materials/tables/salts";
import type { Salt } from "../types";
import { tabled } from "./tabled";

export const rows: readonly Salt[] = tabled<Salt>()(
  ["name","crystal","dissolvingSpeed","fitWetBrine","fitDryBrine","fitSaltCrust","provenance"], salts,
  ["densityGPerMl","densityLowGPerMl","densityHighGPerMl","naclFraction","kclFraction","sodiumFraction","dissolveSeconds","foodGrade","gradeWetBrine","gradeDryBrine","gradeSaltCrust","flags","fromMemory","uncertainty"], {
  table_fine: [1.23,1.15,1.3,0.985,0,0.3876,60,true,"ok","ok","poor",[],true,0.05],
  pickling: [1.22,1.15,1.32,0.997,0,0.392,45,true,"best","ok","poor",[],true,0.06],
  kosher_flake_light: [0.57,0.53,0.64,0.995,0,0.391,45,true,"ok","best","good",[],true,0.08],
  kosher_dense: [1.01,0.95,1.08,0.992,0,0.39,120,true,"ok","ok","best",[],true,0.07],
  sea_fine: [1.16,1,1.28,0.985,0,0.387,60,true,"ok","ok","fair",[],true,0.09],
  sea_coarse: [1.12,0.95,1.25,0.975,0,0.384,480,true,"ok","poor","best",[],true,0.1],
  sea_grey_moist: [1.02,0.9,1.15,0.9,0,0.354,420,true,"ok","fair","good",[],true,0.12],
  flaky_finishing: [0.5,0.3,0.75,0.985,0,0.387,40,true,"poor","ok","poor",[],true,0.3],
  pink_rock_coarse: [1.2,1.05,1.32,0.975,0,0.384,900,true,"ok","poor","good",[],true,0.12],
  pink_rock_fine: [1.2,1.05,1.3,0.975,0,0.384,90,true,"ok","ok","fair",[],true,0.1],
  superfine_popcorn: [1.1,0.9,1.3,0.988,0,0.389,15,true,"ok","poor","poor",[],true,0.15],
  black_salt_sulphur: [1.15,1,1.3,0.95,0.005,0.374,120,true,"poor","poor","never",[],true,0.12],
  smoked_salt: [1.05,0.9,1.2,0.96,0,0.378,480,true,"ok","ok","poor",[],true,0.12],
  low_sodium_half: [1.18,1.05,1.3,0.49,0.49,0.193,70,true,"poor","ok","never",[],true,0.1],
  low_sodium_third: [1.17,1.05,1.3,0.33,0.66,0.13,75,true,"poor","fair","never",[],true,0.12],
  kcl_pure: [1.2,1.05,1.3,0,0.985,0.0002,80,true,"never","never","never",[],true,0.12],
  rock_salt_nonfood: [1.15,1,1.3,0.96,0,0.378,3600,false,"never","never","never",[],true,0.15],
});

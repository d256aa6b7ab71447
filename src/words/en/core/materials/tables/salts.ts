// Made from salts.csv by `npm run tables`. In another language it is written by hand, after this.
type Said = readonly [name: string, crystal: string, dissolvingSpeed: string, fitWetBrine: string, fitDryBrine: string, fitSaltCrust: string, provenance: string];

export const salts = {
  table_fine: ["fine table salt","solid cubes 0.2-0.5 mm","fast","ok","ok","poor (packs hard)","USDA FoodData Central / SR (values recalled)"],
  pickling: ["pickling salt","fine cubes 0.2-0.4 mm, no additives","fast","best","ok","poor","common practice"],
  kosher_flake_light: ["flake kosher (light, hollow crystals)","hollow pyramids and flakes","fast","ok","best","good","common practice"],
  kosher_dense: ["dense kosher (rolled crystals)","cubes rolled to dense flakes","medium","ok","ok","best","common practice"],
  sea_fine: ["fine sea salt","irregular fine grains","fast","ok","ok","fair","common practice"],
  sea_coarse: ["coarse sea salt","irregular 1-3 mm grains","slow","ok (stir or warm, then chill)","poor (pits, slow)","best","common practice"],
  sea_grey_moist: ["moist grey sea salt, coarse","moist 1-4 mm grains with clay and Mg salts","slow","ok (cloudy)","fair","good","estimate"],
  flaky_finishing: ["flaky finishing salt","thin pyramids and plates","fast","wasteful","ok","poor","estimate"],
  pink_rock_coarse: ["coarse pink rock salt","crushed halite 2-5 mm with iron traces","slow","ok (dissolve warm, then chill)","poor","good","estimate"],
  pink_rock_fine: ["fine pink rock salt","crushed halite <1 mm","medium","ok","ok","fair","estimate"],
  superfine_popcorn: ["superfine (powdered) salt","powder <0.15 mm","very fast","ok","uneven, easy to overdose","poor","estimate"],
  black_salt_sulphur: ["sulphurous black salt, ground","ground kiln-fired rock salt","medium","flavour only","flavour only","no","estimate"],
  smoked_salt: ["smoked coarse salt","smoked 1-3 mm grains","slow","ok","ok","wasteful","estimate"],
  low_sodium_half: ["potassium-chloride blend, half and half","fine mixed cubes","fast","weaker brine, bitter","ok","no","common practice"],
  low_sodium_third: ["potassium-chloride blend, one third sodium salt","fine mixed cubes","fast","weak, bitter","fair","no","common practice"],
  kcl_pure: ["potassium chloride salt substitute","fine cubes","fast","no","no","no","common practice"],
  rock_salt_nonfood: ["ice-melt / ice-cream rock salt","large crude halite 5-12 mm","very slow","never","never","never","estimate"],
} satisfies Record<string, Said>;

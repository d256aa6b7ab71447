export const saltGoesInAsFast = (rateFactor: string) =>
  `salt goes in ${rateFactor} × as fast as the table has it`;
export const theOvenIsUnderIts = (apart: string, ovenOffC: number) =>
  `the oven is ${apart} ${ovenOffC < 0 ? "under" : "over"} its dial`;
export const itHeatsUpInThe = (heatUp: string) => `it heats up in ${heatUp} × the usual time`;
export const aMiddleClimbsWhatThe = (climb: string) => `a middle climbs ${climb} × what the sums foretell`;
export const asThisKitchenHasLearnt = (said: string) => `As this kitchen has learnt: ${said}.`;
export const whatIsLearnt = "What is learnt";

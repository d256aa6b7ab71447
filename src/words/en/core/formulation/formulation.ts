export const theLeastHoursAreNot = "The least hours are not more than the most.";
export const aFormulaNeedsAName = "A formula needs a name.";

export const tryingChanges = "Trying changes…";
export const thePlannerBrokeWhatYou = "The planner broke. What you entered is kept; load the page again.";
export const nothingSmallHelpsFewerDishes = "Nothing small helps: fewer dishes, or another day.";
export const and = ", and ";

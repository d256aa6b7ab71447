export const saltByDepthWhenTaken = "Salt by depth when taken out";
export const mmFromTheFace = "mm from the face";
export const meanSaltByTheHour = "Mean salt by the hour";
export const hours = "hours";

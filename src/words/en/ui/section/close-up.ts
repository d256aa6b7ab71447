export const closeUp = "close up";
export const saltByDepth = "salt by depth";

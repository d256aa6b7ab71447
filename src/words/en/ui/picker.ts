export const addOurOwn = "Add our own …";
export const addAsOurOwn = (typed: string) => `Add “${typed}” as our own …`;
export const notHere = "Not here?";
export const whatThereIs = (label: string) => `${label}: what there is`;
export const nothingIsCalledThatHere = "Nothing is called that here. Stores, “This kitchen’s own”, adds it.";

export const houseTaste = "House taste";

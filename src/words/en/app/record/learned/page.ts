export const whatIsLearnt = "What is learnt";

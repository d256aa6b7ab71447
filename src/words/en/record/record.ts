export const judgedOrNot = "judged or not";
export const judged = "judged";
export const notJudged = "not judged";
export const everyPreparation = "every preparation";
export const record = "Record";
export const whatIsLearnt = "What is learnt";
export const houseTaste = "House taste";
export const find = "Find";
export const preparation = "Preparation";
export const judgedField = "Judged";
export const compareTheTwo = "Compare the two";
export const nothingInTheRecordIs = ({
  find,
  kind,
  judged,
}: {
  find: string;
  kind: string;
  judged: string;
}) =>
  find || kind !== "all" || judged !== "all"
    ? "Nothing in the record is like that."
    : "Nothing has come out yet. A batch is here once it is taken out.";
export const newer = "Newer";
export const pageOf = (page: number, pages: number) => `page ${page} of ${pages}`;
export const older = "Older";
export const batches = (total: number) => `${total} ${total === 1 ? "batch" : "batches"}`;

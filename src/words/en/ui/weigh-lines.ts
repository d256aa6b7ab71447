export const about = (count: string) => `about ${count}`;
export const weighIt = "weigh it";
export const tooMuch = (error: number) => (error > 0 ? "too much" : "too little");
export const besideIt = (part: string) => `Beside it: ${part}`;
export const optional = " · optional";
export const gLessAlreadyInThe = ({
  naclG,
  fromCount,
  from,
}: {
  naclG: string;
  fromCount: number;
  from: string;
}) => `${naclG} g less: already in ${fromCount > 0 ? from : "the other lines"}`;

export const title = {
  flesh: "Flesh that takes salt",
  water: "Water",
  salt: "Salt to weigh out",
  mean: "Salt in the flesh",
  ready: "When it is ready",
  sodium: "Sodium a portion",
  strength: "Brine strength",
  crust: "Salt for the crust",
  sour: "How sour it is",
  coat: "How thick it lies",
};
export const at = (mean: string, pullH: string) => `${mean} at ${pullH}`;

export const cutOpenSaltAtThe = ({
  foodName,
  surfaceFraction,
  enters,
  meanFraction,
  centreFraction,
  last,
}: {
  foodName: string;
  surfaceFraction: string;
  enters: string;
  meanFraction: string;
  centreFraction: string;
  last: string;
}) =>
  `${foodName} cut open: ${surfaceFraction} % salt at the ${enters}, ${meanFraction} % on average, ${centreFraction} % at the ${last}`;

interface Props {
  of: { cautions: string[] }[];
}

/** What can hurt someone, of all covers on a sheet, each said once. */
export function CautionsOnPaper({ of }: Props) {
  return [...new Set(of.flatMap(({ cautions }) => cautions))].map((caution) => (
    <p key={caution} className="caution">
      {caution}
    </p>
  ));
}

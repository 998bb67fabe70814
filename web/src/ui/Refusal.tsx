/** Why something that was asked for was not done; nothing when it was. */
export function Refusal({ error }: { error: Error | null }) {
  return error ? (
    <p role="alert" className="font-medium text-stop">
      {error.message}
    </p>
  ) : null;
}

/** A refused request, with one sentence for each field that needs another look (RFC 9457 problem details). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly fields: Readonly<Record<string, string>> = {},
    readonly earliestEatAt: string | null = null,
    readonly offer: string | null = null,
  ) {
    super(sentence);
  }

  static from(status: number, body: unknown): Problem {
    const details = isRecord(body) ? body : {};
    const errors = isRecord(details.errors) ? details.errors : {};
    const fields = Object.fromEntries(
      Object.entries(errors).map(([field, sentences]) => [field, Array.isArray(sentences) ? String(sentences[0]) : '']),
    );
    return new Problem(
      status,
      typeof details.title === 'string' ? details.title : 'That did not work. Try again.',
      fields,
      typeof details.earliestEatAt === 'string' ? details.earliestEatAt : null,
      typeof details.offer === 'string' ? details.offer : null,
    );
  }

  /** The sentence for a field, or for any part of it. */
  at(field: string): string | undefined {
    return this.fields[field] ?? this.fields[`${field}.value`];
  }

  /** Whether anything below a field needs another look. */
  hasUnder(field: string): boolean {
    return Object.keys(this.fields).some((name) => name.startsWith(field));
  }
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}

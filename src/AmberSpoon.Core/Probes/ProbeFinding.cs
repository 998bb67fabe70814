namespace AmberSpoon.Core.Probes;

/// <param name="Fault">What is wrong.</param>
/// <param name="Sentence">What it is and what to do about it, in words a cook understands.</param>
/// <param name="Counts">It may still be believed: a caution only.</param>
public sealed record ProbeFinding(ProbeFault Fault, string Sentence, bool Counts = false);

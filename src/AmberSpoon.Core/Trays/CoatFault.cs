namespace AmberSpoon.Core.Trays;

/// <param name="Coat">Which coat of the stack, from 0.</param>
/// <param name="Field">Which of its fields, as on the wire.</param>
/// <param name="Sentence">What is wrong and what to do about it.</param>
public sealed record CoatFault(int Coat, string Field, string Sentence);

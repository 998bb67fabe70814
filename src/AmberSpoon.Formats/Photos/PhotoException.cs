namespace AmberSpoon.Formats.Photos;

/// <summary>A file that is no photo; its message is a sentence for a cook.</summary>
public sealed class PhotoException(string sentence) : Exception(sentence);

namespace AmberSpoon.Store.Backups;

/// <summary>A file that cannot be restored; its message is a sentence for a cook, and nothing was changed.</summary>
public sealed class BackupException(string sentence, Exception? inner = null) : Exception(sentence, inner);

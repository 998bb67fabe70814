using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace AmberSpoon.Store;

/// <summary>
/// Sets each new connection to write-ahead logging with full flushes: what was acknowledged is on disk, even if the
/// server is killed in the same moment. Who finds the file taken waits in SQLite itself, which also waits while the log is
/// being put in order after its last reader left (SQLITE_BUSY_RECOVERY, sqlite.org/rescode.html); the driver would not.
/// </summary>
internal sealed class DurableConnection : DbConnectionInterceptor
{
    public static DurableConnection Instance { get; } = new();

    public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData)
    {
        using DbCommand command = Pragmas(connection);
        command.ExecuteNonQuery();
    }

    public override async Task ConnectionOpenedAsync(
        DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
    {
        DbCommand command = Pragmas(connection);
        await using (command.ConfigureAwait(false))
        {
            await command.ExecuteNonQueryAsync(cancellationToken).ConfigureAwait(false);
        }
    }

    private static DbCommand Pragmas(DbConnection connection)
    {
        DbCommand command = connection.CreateCommand();

        // A look whether the file is there may not write to it, and a file that was copied whole is not in this mode yet.
        bool isForReading = new SqliteConnectionStringBuilder(connection.ConnectionString).Mode == SqliteOpenMode.ReadOnly;
        command.CommandText = "PRAGMA busy_timeout = 10000; PRAGMA synchronous = FULL;" + (isForReading ? string.Empty : " PRAGMA journal_mode = WAL;");
        return command;
    }
}

using Microsoft.EntityFrameworkCore.Migrations;

namespace AmberSpoon.Store.Migrations;

/// <summary>
/// Carries what was stored over: the tray's one target becomes the goal of each of its lots, and the moves, checks and
/// readings of each bake become its events, in order of time.
/// </summary>
internal static class BakesOfEventsData
{
    public static void Move(MigrationBuilder migrationBuilder)
    {
        // While both still read alike: a bake that is live now belongs to the tray it was started from.
        migrationBuilder.Sql("""
            UPDATE "Bakes" SET "TrayId" = (SELECT t."Id" FROM "Trays" t WHERE t."Plan" = "Bakes"."Plan" ORDER BY t."OpenedAt" DESC LIMIT 1)
            WHERE "IsLive" = 1;
            """);
        Events(migrationBuilder);
        foreach (string table in new[] { "Trays", "TrayStates", "Bakes" })
        {
            migrationBuilder.Sql($$"""
                UPDATE "{{table}}" SET "Plan" = json_remove(json_set("Plan",
                    '$.chicken', json((SELECT json_group_array(json_set(lot.value, '$.goal', json_object('core', json("Plan" -> '$.targetCore'), 'holdSeconds', 0)))
                        FROM json_each("Plan", '$.chicken') lot)),
                    '$.vegetables', json((SELECT json_group_array(json_set(lot.value, '$.goal', 'tender')) FROM json_each("Plan", '$.vegetables') lot))),
                    '$.targetCore');
                """);
        }
    }

    /// <summary>
    /// Pieces used to be counted over the whole tray: they are counted here lot by lot, in the order of the plan. Of what
    /// happened in one moment, readings come first, then what was seen and said of them, then moves.
    /// </summary>
    private static void Events(MigrationBuilder migrationBuilder)
    {
        migrationBuilder.Sql("""
            INSERT INTO "Events" ("BakeId", "Seq", "CommandId", "At", "Kind", "SchemaVersion", "Json")
            WITH lots AS (
                SELECT b."Id" AS bake, lot.key AS place, lot.value ->> '$.id' AS lot,
                    CASE lot.value ->> '$.sizes.basis' WHEN 'eachPiece' THEN json_array_length(lot.value, '$.sizes.each') ELSE lot.value ->> '$.sizes.count' END AS pieces
                FROM "Bakes" b, json_each(b."Plan", '$.chicken') lot
            ), spans AS (
                SELECT bake, lot, pieces, sum(pieces) OVER (PARTITION BY bake ORDER BY place) - pieces AS before FROM lots
            ), told AS (
                SELECT "Id" AS bake, "StartedAt" AS at, 0 AS turn, 0 AS sub, 'started' AS kind, json_object('kind', 'started') AS what FROM "Bakes"
                UNION ALL
                SELECT c."BakeId", c."At", 1, r."Id", 'reading', json_object(
                    'kind', 'reading', 'piece', json_object('lot', s.lot, 'piece', r."Piece" - s.before),
                    'temperature', json_object('value', r."Value", 'unit', lower(r."Unit")), 'heldSeconds', nullif(r."HeldSeconds", 0))
                FROM "ReadingRow" r JOIN "CheckRow" c ON c."Id" = r."CheckId"
                JOIN spans s ON s.bake = c."BakeId" AND r."Piece" > s.before AND r."Piece" <= s.before + s.pieces
                UNION ALL
                SELECT "BakeId", "At", 2, "Id", 'note', json_object('kind', 'note', 'text', "Note") FROM "CheckRow" WHERE "Note" IS NOT NULL
                UNION ALL
                SELECT "BakeId", "At", 3, "Id", 'said', json_object(
                    'kind', 'said', 'verdict', lower(substr("Verdict", 1, 1)) || substr("Verdict", 2), 'reason', "Reason",
                    'nextCheckAt', strftime('%Y-%m-%dT%H:%M:%fZ', "NextCheckAt" / 1000.0, 'unixepoch'))
                FROM "CheckRow"
                UNION ALL
                SELECT m."BakeId", m."At", 4, m."Id", 'moved', json_object('kind', 'moved', 'place', lower(m."Place"))
                FROM "MoveRow" m WHERE m."Id" > (SELECT min(f."Id") FROM "MoveRow" f WHERE f."BakeId" = m."BakeId")
                UNION ALL
                SELECT "Id", "FinishedAt", 5, 0, 'finished', json_object('kind', 'finished') FROM "Bakes" WHERE "FinishedAt" IS NOT NULL
            ), numbered AS (
                SELECT bake, at, kind, what, row_number() OVER (PARTITION BY bake ORDER BY kind = 'finished', kind <> 'started', at, turn, sub) AS seq FROM told
            )
            SELECT bake, seq, substr(bake, 1, 24) || printf('%012X', seq), at, kind, 1, what FROM numbered;
            """);
        migrationBuilder.Sql("""
            UPDATE "Bakes" SET
                "LastSeq" = (SELECT max(e."Seq") FROM "Events" e WHERE e."BakeId" = "Bakes"."Id"),
                "Verdict" = (SELECT upper(substr(e."Json" ->> '$.verdict', 1, 1)) || substr(e."Json" ->> '$.verdict', 2)
                    FROM "Events" e WHERE e."BakeId" = "Bakes"."Id" AND e."Kind" = 'said' ORDER BY e."Seq" DESC LIMIT 1);
            """);
    }
}

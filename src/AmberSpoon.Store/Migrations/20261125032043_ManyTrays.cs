using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace AmberSpoon.Store.Migrations
{
    /// <inheritdoc />
    public partial class ManyTrays : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<long>(
                name: "ArchivedAt",
                table: "Trays",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "FirstState",
                table: "Trays",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<int>(
                name: "LastState",
                table: "Trays",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "OpenedAt",
                table: "Trays",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<int>(
                name: "State",
                table: "Trays",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.CreateTable(
                name: "TrayStates",
                columns: table => new
                {
                    TrayId = table.Column<int>(type: "INTEGER", nullable: false),
                    State = table.Column<int>(type: "INTEGER", nullable: false),
                    Plan = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_TrayStates", x => new { x.TrayId, x.State });
                    table.ForeignKey(
                        name: "FK_TrayStates_Trays_TrayId",
                        column: x => x.TrayId,
                        principalTable: "Trays",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            // A tray used to be one lot of chicken on a half sheet: what was stored then becomes a tray with that one lot.
            foreach (string table in new[] { "Trays", "Bakes" })
            {
                migrationBuilder.Sql($$"""
                    UPDATE "{{table}}" SET "Plan" = json_object(
                        'name', "Plan" ->> '$.name',
                        'chicken', json_array(json_object(
                            'id', 1, 'cut', "Plan" ->> '$.cut',
                            'skinOn', json(CASE WHEN "Plan" ->> '$.skinOn' THEN 'true' ELSE 'false' END),
                            'coating', 'oil',
                            'sizes', json_object(
                                'basis', "Plan" ->> '$.massBasis', 'count', "Plan" ->> '$.count',
                                'mass', json("Plan" -> '$.mass'), 'spreadPercent', 0, 'each', json_array()),
                            'height', json("Plan" -> '$.height'), 'startFrom', "Plan" ->> '$.startFrom',
                            'vessel', 0, 'addAtMinutes', 0, 'leavesWhenDone', json('false'), 'skinDown', json('false'))),
                        'vegetables', json_array(),
                        'vessels', json_array(json_object(
                            'kind', 'halfSheet', 'width', NULL, 'depth', NULL,
                            'rack', json('false'), 'parchment', json('false'), 'waterMl', 0)),
                        'ovenMode', "Plan" ->> '$.ovenMode', 'ovenSetting', json("Plan" -> '$.ovenSetting'),
                        'steps', json_array(), 'profile', "Plan" ->> '$.profile', 'targetCore', json("Plan" -> '$.targetCore'),
                        'restMinutes', "Plan" ->> '$.restMinutes', 'eatAt', "Plan" ->> '$.eatAt', 'spots', json_array());
                    """);
            }

            migrationBuilder.Sql("""
                UPDATE "Bakes" SET "Forecast" = json_set("Forecast",
                    '$.lead', 1,
                    '$.eatMinutes', ("Forecast" ->> '$.pullMinutes') + ("Forecast" ->> '$.restMinutes'),
                    '$.spread', json_object(
                        'firstLot', 1, 'firstMinutes', "Forecast" ->> '$.toTarget.medianMinutes',
                        'lastLot', 1, 'lastMinutes', "Forecast" ->> '$.toTarget.medianMinutes'),
                    '$.lots', json_array());
                """);
            migrationBuilder.Sql("""UPDATE "Trays" SET "OpenedAt" = "SavedAt";""");
            migrationBuilder.Sql("""INSERT INTO "TrayStates" ("TrayId", "State", "Plan") SELECT "Id", 0, "Plan" FROM "Trays";""");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "TrayStates");

            migrationBuilder.DropColumn(
                name: "ArchivedAt",
                table: "Trays");

            migrationBuilder.DropColumn(
                name: "FirstState",
                table: "Trays");

            migrationBuilder.DropColumn(
                name: "LastState",
                table: "Trays");

            migrationBuilder.DropColumn(
                name: "OpenedAt",
                table: "Trays");

            migrationBuilder.DropColumn(
                name: "State",
                table: "Trays");
        }
    }
}

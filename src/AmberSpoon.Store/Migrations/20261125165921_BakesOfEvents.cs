using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace AmberSpoon.Store.Migrations
{
    /// <inheritdoc />
    public partial class BakesOfEvents : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Bakes_IsLive",
                table: "Bakes");

            migrationBuilder.DropIndex(
                name: "IX_Bakes_StartedAt",
                table: "Bakes");

            migrationBuilder.AddColumn<int>(
                name: "LastSeq",
                table: "Bakes",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<int>(
                name: "TrayId",
                table: "Bakes",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Verdict",
                table: "Bakes",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Commands",
                columns: table => new
                {
                    CommandId = table.Column<Guid>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    MadeId = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Commands", x => x.CommandId);
                });

            migrationBuilder.CreateTable(
                name: "Events",
                columns: table => new
                {
                    BakeId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Seq = table.Column<int>(type: "INTEGER", nullable: false),
                    CommandId = table.Column<Guid>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    SchemaVersion = table.Column<int>(type: "INTEGER", nullable: false),
                    Json = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Events", x => new { x.BakeId, x.Seq });
                    table.ForeignKey(
                        name: "FK_Events_Bakes_BakeId",
                        column: x => x.BakeId,
                        principalTable: "Bakes",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Bakes_IsLive_StartedAt",
                table: "Bakes",
                columns: new[] { "IsLive", "StartedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Bakes_TrayId",
                table: "Bakes",
                column: "TrayId",
                unique: true,
                filter: "\"IsLive\" = 1");

            migrationBuilder.CreateIndex(
                name: "IX_Events_BakeId_CommandId",
                table: "Events",
                columns: new[] { "BakeId", "CommandId" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Events_CommandId",
                table: "Events",
                column: "CommandId",
                unique: true,
                filter: "\"Seq\" = 1");

            BakesOfEventsData.Move(migrationBuilder);

            migrationBuilder.DropTable(
                name: "MoveRow");

            migrationBuilder.DropTable(
                name: "ReadingRow");

            migrationBuilder.DropTable(
                name: "CheckRow");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Commands");

            migrationBuilder.DropTable(
                name: "Events");

            migrationBuilder.DropIndex(
                name: "IX_Bakes_IsLive_StartedAt",
                table: "Bakes");

            migrationBuilder.DropIndex(
                name: "IX_Bakes_TrayId",
                table: "Bakes");

            migrationBuilder.DropColumn(
                name: "LastSeq",
                table: "Bakes");

            migrationBuilder.DropColumn(
                name: "TrayId",
                table: "Bakes");

            migrationBuilder.DropColumn(
                name: "Verdict",
                table: "Bakes");

            migrationBuilder.CreateTable(
                name: "CheckRow",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    BakeId = table.Column<Guid>(type: "TEXT", nullable: false),
                    NextCheckAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Note = table.Column<string>(type: "TEXT", nullable: true),
                    Reason = table.Column<string>(type: "TEXT", nullable: false),
                    Verdict = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CheckRow", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CheckRow_Bakes_BakeId",
                        column: x => x.BakeId,
                        principalTable: "Bakes",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "MoveRow",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    BakeId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Place = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_MoveRow", x => x.Id);
                    table.ForeignKey(
                        name: "FK_MoveRow_Bakes_BakeId",
                        column: x => x.BakeId,
                        principalTable: "Bakes",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ReadingRow",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    CheckId = table.Column<int>(type: "INTEGER", nullable: false),
                    HeldSeconds = table.Column<int>(type: "INTEGER", nullable: false),
                    Piece = table.Column<int>(type: "INTEGER", nullable: false),
                    Unit = table.Column<string>(type: "TEXT", nullable: false),
                    Value = table.Column<double>(type: "REAL", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ReadingRow", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ReadingRow_CheckRow_CheckId",
                        column: x => x.CheckId,
                        principalTable: "CheckRow",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Bakes_IsLive",
                table: "Bakes",
                column: "IsLive",
                unique: true,
                filter: "\"IsLive\" = 1");

            migrationBuilder.CreateIndex(
                name: "IX_Bakes_StartedAt",
                table: "Bakes",
                column: "StartedAt");

            migrationBuilder.CreateIndex(
                name: "IX_CheckRow_BakeId",
                table: "CheckRow",
                column: "BakeId");

            migrationBuilder.CreateIndex(
                name: "IX_MoveRow_BakeId",
                table: "MoveRow",
                column: "BakeId");

            migrationBuilder.CreateIndex(
                name: "IX_ReadingRow_CheckId",
                table: "ReadingRow",
                column: "CheckId");
        }
    }
}

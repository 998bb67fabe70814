using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace AmberSpoon.Store.Migrations
{
    /// <inheritdoc />
    public partial class LogOfBakes : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "Logged",
                columns: table => new
                {
                    BakeId = table.Column<Guid>(type: "TEXT", nullable: false),
                    StartedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Oven = table.Column<string>(type: "TEXT", nullable: false),
                    Verdict = table.Column<string>(type: "TEXT", nullable: true),
                    Words = table.Column<string>(type: "TEXT", nullable: false),
                    Counts = table.Column<bool>(type: "INTEGER", nullable: false),
                    Seq = table.Column<int>(type: "INTEGER", nullable: false),
                    Facts = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Logged", x => x.BakeId);
                    table.ForeignKey(
                        name: "FK_Logged_Bakes_BakeId",
                        column: x => x.BakeId,
                        principalTable: "Bakes",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Logged_Oven_StartedAt",
                table: "Logged",
                columns: new[] { "Oven", "StartedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Logged_StartedAt",
                table: "Logged",
                column: "StartedAt");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Logged");
        }
    }
}

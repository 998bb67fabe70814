using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace AmberSpoon.Store.Migrations
{
    /// <inheritdoc />
    public partial class OvensOfTheKitchen : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            // A kitchen had one oven, of which only its air was known.
            migrationBuilder.Sql("""
                UPDATE "Households"
                SET "Household" = json_set(
                    json_remove("Household", '$.ovenAir'),
                    '$.ovens', json_array(json_object('name', 'Oven', 'air', coalesce(json_extract("Household", '$.ovenAir'), 'still'))))
                WHERE json_type("Household", '$.ovens') IS NULL;
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("""
                UPDATE "Households"
                SET "Household" = json_set(json_remove("Household", '$.ovens'), '$.ovenAir', json_extract("Household", '$.ovens[0].air'));
                """);
        }
    }
}

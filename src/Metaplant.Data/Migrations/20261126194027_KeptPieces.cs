using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Metaplant.Data.Migrations
{
    /// <inheritdoc />
    public partial class KeptPieces : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Cast",
                table: "Projects",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Edition",
                table: "Projects",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Taken",
                table: "Allocations",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Cast",
                table: "Projects");

            migrationBuilder.DropColumn(
                name: "Edition",
                table: "Projects");

            migrationBuilder.DropColumn(
                name: "Taken",
                table: "Allocations");
        }
    }
}

using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Metaplant.Data.Migrations
{
    /// <inheritdoc />
    public partial class HistoryAndSite : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "History",
                table: "Things",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");

            migrationBuilder.AddColumn<string>(
                name: "Ground",
                table: "Projects",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Site",
                table: "Projects",
                type: "TEXT",
                nullable: false,
                defaultValue: "Soil");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "History",
                table: "Things");

            migrationBuilder.DropColumn(
                name: "Ground",
                table: "Projects");

            migrationBuilder.DropColumn(
                name: "Site",
                table: "Projects");
        }
    }
}

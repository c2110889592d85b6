using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Metaplant.Data.Migrations
{
    /// <inheritdoc />
    public partial class BeingMade : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Making",
                table: "Projects",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Picture",
                table: "Projects",
                type: "TEXT",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Making",
                table: "Projects");

            migrationBuilder.DropColumn(
                name: "Picture",
                table: "Projects");
        }
    }
}

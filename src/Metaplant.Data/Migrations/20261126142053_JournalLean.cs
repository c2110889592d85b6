using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Metaplant.Data.Migrations
{
    /// <inheritdoc />
    public partial class JournalLean : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            // Made anew with the changes last: what is asked of every entry is then read without reading through the changes before it.
            migrationBuilder.Sql("""
                CREATE TABLE "Journal_lean" (
                    "Id" INTEGER NOT NULL CONSTRAINT "PK_Journal" PRIMARY KEY AUTOINCREMENT,
                    "At" TEXT NOT NULL,
                    "Words" TEXT NOT NULL,
                    "Undone" INTEGER NOT NULL,
                    "PassedOver" INTEGER NOT NULL,
                    "Size" INTEGER NOT NULL,
                    "Changes" TEXT NOT NULL
                );
                INSERT INTO "Journal_lean" ("Id", "At", "Words", "Undone", "PassedOver", "Size", "Changes")
                    SELECT "Id", "At", "Words", "Undone", 0, length(CAST("Changes" AS BLOB)), "Changes" FROM "Journal" ORDER BY "Id";
                DROP TABLE "Journal";
                ALTER TABLE "Journal_lean" RENAME TO "Journal";
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "PassedOver",
                table: "Journal");

            migrationBuilder.DropColumn(
                name: "Size",
                table: "Journal");
        }
    }
}

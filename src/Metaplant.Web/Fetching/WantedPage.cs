using System.Globalization;
using System.Text;
using System.Text.Encodings.Web;
using Metaplant.Core.Fetching;
using Metaplant.Core.Words;

namespace Metaplant.Web.Fetching;

/// <summary>The wanted list as one page by itself, to be opened where there is no server in reach: it lists what to look for, and says of a piece whose measures are typed which of it that would do for.</summary>
internal static class WantedPage
{
    /// <summary>How many of a unit a metre is, by how lengths are told.</summary>
    private static (string Unit, double PerMetre) UnitOf(Lengths lengths) => lengths switch
    {
        Lengths.Inches => ("in", 1 / .0254),
        Lengths.Centimetres => ("cm", 100),
        _ => ("mm", 1000),
    };

    public static string Of(string garden, IReadOnlyList<WantedThing> wanted, Teller teller, string day)
    {
        var (unit, perMetre) = UnitOf(teller.Lengths);
        var items = new StringBuilder();
        foreach (var w in wanted) items.Append(Item(w, teller, perMetre));
        return Page.Replace("@garden", Plain(garden), StringComparison.Ordinal).Replace("@day", Plain(day), StringComparison.Ordinal).Replace("@unit", unit, StringComparison.Ordinal).Replace("@items", items.ToString(), StringComparison.Ordinal);
    }

    private static string Item(WantedThing w, Teller teller, double perMetre)
    {
        var html = new StringBuilder();
        // What must be like something is told by eye; all else by its measures.
        html.Append(w.Measures is not null && w.Missing.Length > 0 ? $"<li data-least=\"{Least(w.Missing.Length)} {Least(w.Missing.Width)} {Least(w.Missing.Thickness)}\">" : "<li>");
        html.Append("<i></i><div>").Append(Line("what", teller.Tell(w.What)));
        if (w.Measures is { } measures) html.Append(Line("", teller.Tell(measures)));
        foreach (var u in w.Unlocks) html.Append(Line("", $"{u.With.Design.Name}{(u.Without is null ? " could be made" : "")}: {teller.Tell(u.Words)}"));
        if (w.Measures is not null && w.Givers.Count > 0) html.Append(Line("small", $"Look for: {string.Join(", ", w.Givers.Select(g => g.Kind.Name.ToLowerInvariant()))}."));
        var leave = w.Givers.SelectMany(g => g.LeaveIt).Distinct(StringComparer.Ordinal).ToList();
        if (leave.Count > 0) html.Append(Line("leave", $"Leave what shows: {string.Join("; ", leave)}."));
        return html.Append("<p class=\"answer\" role=\"status\"></p></div></li>").ToString();

        string Least(double metres) => (metres * perMetre).ToString("0.###", CultureInfo.InvariantCulture);

        static string Line(string kind, string words) => $"<p class=\"{kind}\">{Plain(words)}</p>";
    }

    private static string Plain(string words) => HtmlEncoder.Default.Encode(words);

    private const string Page = """
        <!doctype html>
        <html lang="en">
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <title>Worth fetching for @garden</title>
        <style>
          body { font: 17px/1.4 system-ui, sans-serif; color: #222b33; background: #f4efe6; max-width: 46rem; margin: 0 auto; padding: 16px; }
          h1 { font-size: 1.5rem; margin: 0 0 4px; }
          p { margin: 2px 0; }
          form { display: grid; grid-template-columns: repeat(3, 1fr); gap: 8px; margin: 12px 0; padding: 12px; background: #fff; border: 1px solid #b9ab95; }
          input { display: block; width: 100%; box-sizing: border-box; min-height: 44px; font: inherit; padding: 4px 8px; border: 1px solid #222b33; }
          ul { list-style: none; margin: 0; padding: 0; }
          li { display: grid; grid-template-columns: 20px 1fr; gap: 10px; padding: 10px 0; border-top: 1px solid #b9ab95; break-inside: avoid; }
          li i { width: 18px; height: 18px; border: 2px solid #222b33; margin-top: 3px; }
          .what { font-size: 1.15rem; font-weight: 700; }
          .small { font-size: .9rem; }
          .leave { font-size: .9rem; color: #8f1d14; }
          .answer { font-weight: 700; }
          .answer[data-will=true] { color: #1d6650; }
          .answer[data-will=false] { color: #8f1d14; }
          @media print { form { display: none; } body { background: #fff; font-size: 11pt; } }
        </style>
        <h1>Worth fetching</h1>
        <p>For @garden, @day.</p>
        <form>
          <label>Length, @unit <input name="length" inputmode="decimal"></label>
          <label>Width, @unit <input name="width" inputmode="decimal"></label>
          <label>Thickness, @unit <input name="thickness" inputmode="decimal"></label>
        </form>
        <ul>@items</ul>
        <script>
          const fields = [...document.querySelectorAll('input')];
          const names = ['long', 'wide', 'thick'];
          // "1200", "3,5", "47 1/4"
          function read(text) {
            const parts = /^\s*(\d+(?:[.,]\d+)?)?\s*(?:(\d+)\s*\/\s*(\d+))?\s*$/.exec(text);
            if (!parts || (parts[1] === undefined && parts[2] === undefined)) return null;
            return Number((parts[1] ?? '0').replace(',', '.')) + (parts[2] ? Number(parts[2]) / Number(parts[3]) : 0);
          }
          document.querySelector('form').addEventListener('submit', (e) => e.preventDefault());
          document.querySelector('form').addEventListener('input', () => {
            const has = fields.map((f) => read(f.value));
            for (const item of document.querySelectorAll('li[data-least]')) {
              const least = item.dataset.least.split(' ').map(Number);
              const answer = item.querySelector('.answer');
              const asked = least.map((l, i) => (l > 0 ? i : -1)).filter((i) => i >= 0);
              const short = asked.filter((i) => has[i] !== null && has[i] < least[i] - 1e-6);
              const open = asked.filter((i) => has[i] === null);
              answer.textContent = short.length > 0 ? 'No: not ' + short.map((i) => names[i]).join(' and not ') + ' enough.' : open.length === asked.length ? '' : open.length > 0 ? 'So far: how ' + open.map((i) => names[i]).join(' and how ') + ' is it?' : 'Yes, as far as its measures go.';
              answer.dataset.will = short.length > 0 ? 'false' : open.length === 0 ? 'true' : '';
            }
          });
        </script>
        </html>
        """;
}

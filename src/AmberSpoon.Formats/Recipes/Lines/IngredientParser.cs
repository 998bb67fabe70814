namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>
/// Reads an ingredient line as cooks write it. Never throws: what it does not understand becomes part of the name. Each
/// line is read once from left to right, so the time grows with its length, which is bounded.
/// </summary>
public static class IngredientParser
{
    /// <summary>What stands in front of an amount and says nothing of its size.</summary>
    private static readonly HashSet<string> Vague = new(StringComparer.OrdinalIgnoreCase)
    {
        "about", "approx", "approximately", "roughly", "around", "circa", "ca", "scant", "generous", "heaped", "heaping", "rounded", "level",
        "good", "packed", "large", "medium", "medium-sized", "small", "big", "fat", "extra", "thumb-sized", "heaping", "extra-large", "optional",
    };

    private static readonly Dictionary<string, double> NumberWords = new(StringComparer.OrdinalIgnoreCase)
    {
        ["a"] = 1,
        ["an"] = 1,
        ["one"] = 1,
        ["two"] = 2,
        ["three"] = 3,
        ["four"] = 4,
        ["five"] = 5,
        ["six"] = 6,
        ["seven"] = 7,
        ["eight"] = 8,
        ["nine"] = 9,
        ["ten"] = 10,
        ["twelve"] = 12,
        ["half"] = 0.5,
        ["quarter"] = 0.25,
    };

    /// <param name="line">One line; anything.</param>
    public static IngredientLine Parse(string line)
    {
        ArgumentNullException.ThrowIfNull(line);
        string clean = LineTokens.Clean(line);
        var reading = new Reading(LineTokens.Of(clean));
        reading.FruitPart();
        reading.Amount();
        reading.NameAndNotes();
        return reading.Line(clean);
    }

    /// <summary>One line while it is being read.</summary>
    private sealed class Reading(List<LineToken> tokens)
    {
        /// <summary>Stands behind the last token.</summary>
        private static readonly LineToken End = new(TokenKind.Mark, string.Empty, 0, false);

        private readonly List<string> _notes = [];
        private int _at;
        private bool _isFruit;
        private double? _low;
        private double? _high;
        private string _unit = string.Empty;
        private string _name = string.Empty;

        private LineToken Now => Ahead(0);

        public IngredientLine Line(string clean) => new(clean, _low, _high, _unit, _name, string.Join("; ", _notes.Where(note => note.Length > 0)));

        /// <summary>"juice and zest of", which says what of the fruit is used.</summary>
        public void FruitPart()
        {
            int at = _at;
            while (at < tokens.Count && tokens[at].IsAny("the", "freshly", "finely", "squeezed", "grated", "fresh"))
            {
                at++;
            }

            if (at >= tokens.Count || !tokens[at].IsAny("juice", "zest"))
            {
                return;
            }

            while (at < tokens.Count && tokens[at].IsAny("juice", "zest", "and", "&", "grated"))
            {
                at++;
            }

            if (at < tokens.Count && tokens[at].IsAny("of", "from"))
            {
                _notes.Add(Text(_at, at));
                _at = at + 1;
                _isFruit = true;
            }
        }

        public void Amount()
        {
            SkipVague(beforeUnit: false);
            if (TakeNumber() is { } number)
            {
                (_low, _high) = (number, number);
                Range();
                Times();
                Sized();
                Unit();
                More();
                return;
            }

            if (Now.IsAny("few", "some") || (Now.IsAny("a", "an") && Ahead(1).IsAny("few", "couple", "little")))
            {
                _at += Now.IsAny("few", "some") ? 1 : 2;
                SkipOf();
                TakeUnit();
                SkipOf();
                return;
            }

            // "pinch of salt": one of it.
            int mark = _at;
            if (TakeUnit() is not null)
            {
                if (UnitWords.StandsAlone(_unit) || (mark > 0 && Now.Kind == TokenKind.Word))
                {
                    (_low, _high) = (1, 1);
                    SkipOf();
                }
                else
                {
                    (_at, _unit) = (mark, string.Empty);
                }
            }
        }

        public void NameAndNotes()
        {
            if (_low is null && _unit.Length == 0)
            {
                AmountAtEnd();
            }

            var words = new List<string>();
            bool inNote = false;
            int noteFrom = 0;
            int end = tokens.Count;
            for (int i = _at; i < end; i++)
            {
                LineToken token = tokens[i];
                if (token.Kind == TokenKind.Bracket)
                {
                    _notes.Add(token.Text);
                }
                else if (!inNote && EndsName(i, words))
                {
                    inNote = true;
                    noteFrom = token.Kind == TokenKind.Mark ? i + 1 : i;
                }
                else if (!inNote)
                {
                    words.Add(token.IsGlued && words.Count > 0 && (token.Kind == TokenKind.Mark || tokens[i - 1].Kind == TokenKind.Mark) && token.Text is not "&" ? Glue(words, token.Text) : token.Text);
                }
            }

            if (inNote)
            {
                _notes.Add(Text(noteFrom, end, withBrackets: false));
            }

            IngredientName.Tidy(words, _notes);
            if (_unit.Length == 0 && _low is not null && !_isFruit)
            {
                _unit = IngredientName.UnitWithin(words);
            }

            _name = string.Join(' ', words);
            if (_name.Length == 0 && _unit.Length > 0 && _notes.Count == 0)
            {
                // "6 cloves": the unit was the thing.
                _name = tokens.LastOrDefault(token => token.Kind == TokenKind.Word).Text ?? string.Empty;
                _unit = string.Empty;
            }
        }

        private static string Glue(List<string> words, string text)
        {
            string joined = words[^1] + text;
            words.RemoveAt(words.Count - 1);
            return joined;
        }

        private bool EndsName(int i, List<string> words)
        {
            LineToken token = tokens[i];
            if (token.Text is "," or ";")
            {
                return !IngredientName.IsOnlyDescription(words) || i == tokens.Count - 1;
            }

            bool spaced = token.Text == "-" && !token.IsGlued;
            return spaced || (words.Count > 0 && (token.IsAny("for", "plus", "+")
                || (token.Is("to") && i + 1 < tokens.Count && tokens[i + 1].IsAny("taste", "serve", "garnish", "finish", "decorate"))));
        }

        /// <summary>"2 to 3", "2-3", "2 or 3".</summary>
        private void Range()
        {
            bool isRange = (Now.Is("-") || Now.IsAny("to", "or")) && Ahead(1).Kind == TokenKind.Number;
            if (isRange && !(Now.Is("-") && IsLength(Ahead(2)) && !IsLength(Ahead(1))))
            {
                _high = Math.Max(_low!.Value, Ahead(1).Value);
                _at += 2;
            }
        }

        /// <summary>"2 x 400 g", "1 400 g tin", "a dozen".</summary>
        private void Times()
        {
            if (Now.Is("dozen"))
            {
                _at++;
                Multiply(12);
                SkipOf();
                return;
            }

            int after = Now.Is("x") ? 1 : 0;
            if (Ahead(after).Kind == TokenKind.Number && IsLength(Ahead(after + 1)))
            {
                LengthOfPiece(after);
            }
            else if (Ahead(after).Kind == TokenKind.Number && SizeAt(_at + after + 1) is { } unit)
            {
                double each = Ahead(after).Value;
                _at += after + 1 + unit.Length;
                _unit = unit.Unit;
                _notes.Add(FormattableString.Invariant($"{_low} of {each} {unit.Unit}"));
                Multiply(each);
                SkipPack();
            }
            else
            {
                _at += after;
            }
        }

        /// <summary>"2 (14 oz) cans", "1 (2-inch) piece", and "2-inch piece".</summary>
        private void Sized()
        {
            if (_unit.Length > 0)
            {
                return;
            }

            if (IsLength(Now) || (Now.Is("-") && IsLength(Ahead(1))))
            {
                // "2 cm piece": the number was its length.
                _notes.Add(FormattableString.Invariant($"{_low} {(IsLength(Now) ? Now.Text : Ahead(1).Text)}"));
                (_low, _high) = (1, 1);
                _at += IsLength(Now) ? 1 : 2;
                return;
            }

            if (Now.Kind == TokenKind.Bracket && SizeIn(Now.Text) is { } size)
            {
                _notes.Add(FormattableString.Invariant($"{_low} of {size.Value} {size.Unit}"));
                Multiply(size.Value);
                _unit = size.Unit;
                _at++;
                SkipPack();
            }
            else if (Now.Kind == TokenKind.Bracket)
            {
                _notes.Add(Now.Text);
                _at++;
            }
        }

        private void Unit()
        {
            if (_unit.Length > 0)
            {
                SkipOf();
                return;
            }

            SkipVague(beforeUnit: true);
            if (TakeUnit() is null)
            {
                SkipOf();
                return;
            }

            if (UnitWords.IsMassOrVolume(_unit))
            {
                SkipPack();
            }
            else if (UnitWords.IsPack(_unit) && Now.Kind == TokenKind.Bracket && SizeIn(Now.Text) is { } size)
            {
                _notes.Add(FormattableString.Invariant($"{_low} of {size.Value} {size.Unit}"));
                Multiply(size.Value);
                _unit = size.Unit;
                _at++;
            }
        }

        /// <summary>What may follow a measure: the same in other units, a bracket, a second measure to be added.</summary>
        private void More()
        {
            if (Now.Is("/") && Ahead(1).Kind == TokenKind.Number && UnitAt(_at + 2) is { } other)
            {
                _notes.Add(Text(_at + 1, _at + 2 + other.Length));
                _at += 2 + other.Length;
            }

            while (Now.Kind == TokenKind.Bracket)
            {
                _notes.Add(Now.Text);
                _at++;
            }

            if (Now.IsAny("plus", "+", "and") && Ahead(1).Kind == TokenKind.Number && UnitAt(_at + 2) is { } more && Ratio(more.Unit, _unit) is { } ratio)
            {
                double add = Ahead(1).Value * ratio;
                (_low, _high) = (_low + add, _high + add);
                _at += 2 + more.Length;
            }

            if (Now.Is("each"))
            {
                _notes.Add("each");
                _at++;
            }

            SkipOf();
        }

        /// <summary>"Potatoes, 600 g", "Salt: 2 tsp", "Flour 200 g".</summary>
        private void AmountAtEnd()
        {
            int number = tokens.FindLastIndex(token => token.Kind == TokenKind.Number);
            if (number <= _at || UnitAt(number + 1) is not { } unit || number + 1 + unit.Length != tokens.Count)
            {
                return;
            }

            (_low, _high, _unit) = (tokens[number].Value, tokens[number].Value, unit.Unit);
            int cut = number > 0 && tokens[number - 1].Text is "," or ":" or "-" ? number - 1 : number;
            tokens.RemoveRange(cut, tokens.Count - cut);
        }

        private double? TakeNumber()
        {
            if (Now.Kind == TokenKind.Number)
            {
                double number = Now.Value;
                _at++;
                if (Now.IsAny("a", "an") && number < 1)
                {
                    _at++;
                }
                else if (Now.Is("of") && Ahead(1).IsAny("a", "an"))
                {
                    _at += 2;
                }

                return number;
            }

            if (!NumberWords.TryGetValue(Now.Text, out double word) || (Now.IsAny("a", "an") && Ahead(1).IsAny("few", "couple", "little")))
            {
                return null;
            }

            _at++;
            if (word < 1 && Now.IsAny("a", "an"))
            {
                _at++;
            }

            return word;
        }

        /// <returns>The unit that stands here, now taken; null where none does.</returns>
        private string? TakeUnit()
        {
            if (UnitAt(_at) is not { } unit)
            {
                return null;
            }

            _at += unit.Length;
            _unit = unit.Unit;
            SkipOf();
            return _unit;
        }

        private (string Unit, int Length)? UnitAt(int at)
        {
            if (at >= tokens.Count || tokens[at].Kind != TokenKind.Word)
            {
                return null;
            }

            bool dotted = at + 1 < tokens.Count && tokens[at + 1] is { Text: ".", IsGlued: true };
            int next = at + (dotted ? 2 : 1);
            if (tokens[at].IsAny("fl", "fluid") && next < tokens.Count && UnitWords.Find(tokens[next].Text) == "oz")
            {
                bool dottedToo = next + 1 < tokens.Count && tokens[next + 1] is { Text: ".", IsGlued: true };
                return ("fl oz", next - at + (dottedToo ? 2 : 1));
            }

            return UnitWords.Find(tokens[at].Text) is { } unit ? (unit, next - at) : null;
        }

        /// <summary>A mass or a volume, perhaps after a hyphen: "400 g", "14-ounce".</summary>
        private (string Unit, int Length)? SizeAt(int at)
        {
            int hyphen = at < tokens.Count && tokens[at] is { Text: "-", IsGlued: true } ? 1 : 0;
            return UnitAt(at + hyphen) is { } unit && UnitWords.IsMassOrVolume(unit.Unit) ? (unit.Unit, unit.Length + hyphen) : null;
        }

        private void SkipPack()
        {
            if (UnitAt(_at) is { } pack && UnitWords.IsPack(pack.Unit))
            {
                _at += pack.Length;
            }

            SkipOf();
        }

        /// <summary>"1 x 5 cm piece of ginger".</summary>
        private void LengthOfPiece(int after)
        {
            _notes.Add(FormattableString.Invariant($"{Ahead(after).Value} {Ahead(after + 1).Text}"));
            _at += after + 2;
        }

        private void SkipOf()
        {
            if (Now.Is("of"))
            {
                _at++;
            }
        }

        private void SkipVague(bool beforeUnit)
        {
            while (Now.Kind == TokenKind.Word && _at + 1 < tokens.Count
                && (Vague.Contains(Now.Text) || (beforeUnit && Now.IsAny("thick", "thin", "whole", "fresh", "tiny", "loosely") && UnitAt(_at + 1) is not null)))
            {
                _notes.Add(Now.Text);
                _at++;
                if (Now is { Text: ".", IsGlued: true })
                {
                    _at++;
                }
            }

            if (Now.Is("~"))
            {
                _at++;
            }
        }

        private void Multiply(double by) => (_low, _high) = (_low * by, _high * by);

        private LineToken Ahead(int by) => _at + by < tokens.Count ? tokens[_at + by] : End;

        private static bool IsLength(LineToken token) => token.Kind == TokenKind.Word && token.IsAny("cm", "mm", "inch", "inches", "in");

        /// <summary>A bracket that holds a mass or a volume: "(14.5 oz)", "(400-g)".</summary>
        private static (double Value, string Unit)? SizeIn(string bracket)
        {
            List<LineToken> inside = LineTokens.Of(bracket);
            if (inside.Count < 2 || inside[0].Kind != TokenKind.Number)
            {
                return null;
            }

            int at = inside[1].Is("-") ? 2 : 1;
            return at < inside.Count && UnitWords.Find(inside[at].Text) is { } unit && UnitWords.IsMassOrVolume(unit)
                ? (inside[0].Value, unit)
                : null;
        }

        private static double? Ratio(string from, string to) => (from, to) switch
        {
            _ when from == to => 1,
            ("tbsp", "cup") => 1.0 / 16,
            ("tsp", "cup") => 1.0 / 48,
            ("tsp", "tbsp") => 1.0 / 3,
            ("oz", "lb") => 1.0 / 16,
            ("g", "kg") or ("ml", "l") => 1.0 / 1000,
            _ => null,
        };

        private string Text(int from, int to, bool withBrackets = true)
        {
            var words = new List<string>();
            for (int i = from; i < Math.Min(to, tokens.Count); i++)
            {
                if (tokens[i].Kind == TokenKind.Bracket && !withBrackets)
                {
                    continue;
                }

                bool glued = tokens[i].IsGlued && words.Count > 0 && i > from;
                words.Add(glued ? Glue(words, tokens[i].Text) : tokens[i].Text);
            }

            return string.Join(' ', words);
        }
    }
}

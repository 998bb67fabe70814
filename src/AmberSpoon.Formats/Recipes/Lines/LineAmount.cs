namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>Reads how much a line asks for, from where its cursor stands; each method is one way cooks write it.</summary>
internal sealed class LineAmount(LineCursor line)
{
    /// <summary>What stands in front of an amount and says nothing of its size.</summary>
    private static readonly HashSet<string> Vague = new(StringComparer.OrdinalIgnoreCase)
    {
        "about", "approx", "approximately", "roughly", "around", "circa", "ca", "scant", "generous", "heaped", "heaping", "rounded", "level",
        "good", "packed", "large", "medium", "medium-sized", "small", "big", "fat", "extra", "thumb-sized", "extra-large", "optional",
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

    public double? Low { get; private set; }

    public double? High { get; private set; }

    public string Unit { get; private set; } = string.Empty;

    public void Read()
    {
        SkipVague(beforeUnit: false);
        if (TakeNumber() is { } number)
        {
            (Low, High) = (number, number);
            Range();
            Times();
            Sized();
            UnitAfterNumber();
            More();
        }
        else if (IsSome())
        {
            line.At += line.Now.IsAny("few", "some") ? 1 : 2;
            line.Skip("of");
            TakeUnit();
        }
        else
        {
            LoneUnit();
        }
    }

    /// <summary>"Potatoes, 600 g", "Salt: 2 tsp", "Flour 200 g": takes it off the end of the line.</summary>
    public void ReadAtEnd()
    {
        int number = line.Tokens.FindLastIndex(token => token.Kind == TokenKind.Number);
        if (number <= line.At || line.UnitAt(number + 1) is not { } unit || number + 1 + unit.Length != line.Tokens.Count)
        {
            return;
        }

        (Low, High, Unit) = (line.Tokens[number].Value, line.Tokens[number].Value, unit.Unit);
        int cut = line.Tokens[number - 1].Text is "," or ":" or "-" ? number - 1 : number;
        line.Tokens.RemoveRange(cut, line.Tokens.Count - cut);
    }

    /// <summary>"2 garlic cloves": the unit stood behind the name.</summary>
    public void TakeUnitOfName(List<string> words)
    {
        if (Unit.Length == 0 && Low is not null)
        {
            Unit = IngredientName.UnitWithin(words);
        }
    }

    /// <summary>"6 cloves": what looked like a unit was the thing.</summary>
    public void DropUnit() => Unit = string.Empty;

    /// <summary>"2 to 3", "2-3", "2 or 3"; not "2-inch".</summary>
    private void Range()
    {
        bool isRange = line.Now.IsAny("-", "to", "or") && line.Ahead(1).Kind == TokenKind.Number;
        if (isRange && !(line.Now.Is("-") && IsLength(line.Ahead(2))))
        {
            High = Math.Max(Low!.Value, line.Ahead(1).Value);
            line.At += 2;
        }
    }

    /// <summary>"2 x 400 g", "1 400 g tin", "two 14-ounce cans", "a dozen", "1 x 5 cm piece".</summary>
    private void Times()
    {
        if (line.Now.Is("dozen"))
        {
            line.At++;
            Multiply(12);
            line.Skip("of");
            return;
        }

        int after = line.Now.Is("x") ? 1 : 0;
        LineToken number = line.Ahead(after);
        if (number.Kind == TokenKind.Number && IsLength(line.Ahead(after + 1)))
        {
            line.Notes.Add(FormattableString.Invariant($"{number.Value} {line.Ahead(after + 1).Text}"));
            line.At += after + 2;
        }
        else if (number.Kind == TokenKind.Number && line.SizeAt(line.At + after + 1) is { } size)
        {
            line.At += after + 1 + size.Length;
            OfPacks(number.Value, size.Unit);
        }
        else
        {
            line.At += after;
        }
    }

    /// <summary>"2 (14 oz) cans", "1 (2-inch) piece", and "2-inch piece", whose number was its length.</summary>
    private void Sized()
    {
        if (Unit.Length > 0)
        {
            return;
        }

        int hyphen = line.Now.Is("-") ? 1 : 0;
        if (IsLength(line.Ahead(hyphen)))
        {
            line.Notes.Add(FormattableString.Invariant($"{Low} {line.Ahead(hyphen).Text}"));
            (Low, High) = (1, 1);
            line.At += hyphen + 1;
        }
        else if (line.Now.Kind == TokenKind.Bracket && LineCursor.SizeIn(line.Now.Text) is { } size)
        {
            line.At++;
            OfPacks(size.Value, size.Unit);
        }
        else if (line.Now.Kind == TokenKind.Bracket)
        {
            line.TakeNote();
        }
    }

    private void UnitAfterNumber()
    {
        if (Unit.Length == 0)
        {
            SkipVague(beforeUnit: true);
            TakeUnit();
            if (UnitWords.IsMassOrVolume(Unit))
            {
                SkipPack();
            }
            else if (UnitWords.IsPack(Unit) && line.Now.Kind == TokenKind.Bracket && LineCursor.SizeIn(line.Now.Text) is { } size)
            {
                line.At++;
                OfPacks(size.Value, size.Unit);
            }
        }

        line.Skip("of");
    }

    /// <summary>What may follow a measure: the same in other units, a bracket, a second measure to be added.</summary>
    private void More()
    {
        if (line.Now.Is("/") && line.Ahead(1).Kind == TokenKind.Number && line.UnitAt(line.At + 2) is { } other)
        {
            line.Notes.Add(line.Text(line.At + 1, line.At + 2 + other.Length));
            line.At += 2 + other.Length;
        }

        while (line.Now.Kind == TokenKind.Bracket)
        {
            line.TakeNote();
        }

        bool isMore = line.Now.IsAny("plus", "+", "and") && line.Ahead(1).Kind == TokenKind.Number;
        if (isMore && line.UnitAt(line.At + 2) is { } more && Ratio(more.Unit, Unit) is { } ratio)
        {
            double add = line.Ahead(1).Value * ratio;
            (Low, High) = (Low + add, High + add);
            line.At += 2 + more.Length;
        }

        if (line.Now.Is("each"))
        {
            line.TakeNote();
        }

        line.Skip("of");
    }

    private bool IsSome() => line.Now.IsAny("few", "some") || (line.Now.IsAny("a", "an") && line.Ahead(1).IsAny("few", "couple", "little"));

    /// <summary>"pinch of salt", "heaped tsp cumin": one of it.</summary>
    private void LoneUnit()
    {
        int mark = line.At;
        if (!TakeUnit())
        {
            return;
        }

        if (UnitWords.StandsAlone(Unit) || (mark > 0 && line.Now.Kind == TokenKind.Word))
        {
            (Low, High) = (1, 1);
            line.Skip("of");
        }
        else
        {
            line.At = mark;
            Unit = string.Empty;
        }
    }

    private double? TakeNumber()
    {
        double? number = line.Now.Kind == TokenKind.Number
            ? line.Now.Value
            : NumberWords.TryGetValue(line.Now.Text, out double word) && !IsSome() ? word : null;
        if (number is null)
        {
            return null;
        }

        line.At++;
        if (line.Now.IsAny("a", "an") && number < 1)
        {
            line.At++;
        }
        else if (line.Now.Is("of") && line.Ahead(1).IsAny("a", "an"))
        {
            line.At += 2;
        }

        return number;
    }

    private bool TakeUnit()
    {
        if (line.UnitAt(line.At) is not { } unit)
        {
            return false;
        }

        line.At += unit.Length;
        Unit = unit.Unit;
        line.Skip("of");
        return true;
    }

    /// <summary>So many packs of a size: all of it, without the word for the pack.</summary>
    private void OfPacks(double each, string unit)
    {
        line.Notes.Add(FormattableString.Invariant($"{Low} of {each} {unit}"));
        Unit = unit;
        Multiply(each);
        SkipPack();
    }

    private void SkipPack()
    {
        if (line.UnitAt(line.At) is { } pack && UnitWords.IsPack(pack.Unit))
        {
            line.At += pack.Length;
        }

        line.Skip("of");
    }

    private void SkipVague(bool beforeUnit)
    {
        while (line.Now.Kind == TokenKind.Word && line.At + 1 < line.Tokens.Count && (Vague.Contains(line.Now.Text) || (beforeUnit && DescribesUnit())))
        {
            line.TakeNote();
            if (line.Now is { Text: ".", IsGlued: true })
            {
                line.At++;
            }
        }

        line.Skip("~");
    }

    /// <summary>"2 thick slices".</summary>
    private bool DescribesUnit() => line.Now.IsAny("thick", "thin", "whole", "fresh", "tiny", "loosely") && line.UnitAt(line.At + 1) is not null;

    private void Multiply(double by) => (Low, High) = (Low * by, High * by);

    private static bool IsLength(LineToken token) => token.Kind == TokenKind.Word && token.IsAny("cm", "mm", "inch", "inches", "in");

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
}

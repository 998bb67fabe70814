using System.Text.Json;
using System.Text.Json.Serialization;

namespace AmberSpoon.Core.Kitchens;

/// <summary>
/// Which lot of a tray, by the number it got when it was put on; never reused. Use <see cref="PieceRef"/> where one of its
/// pieces is meant. In JSON it is a bare number.
/// </summary>
[JsonConverter(typeof(AsNumber))]
public readonly record struct LotId(int Value)
{
    public override string ToString() => Value.ToString(System.Globalization.CultureInfo.InvariantCulture);

    internal sealed class AsNumber : JsonConverter<LotId>
    {
        public override LotId Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) => new(reader.GetInt32());

        public override void Write(Utf8JsonWriter writer, LotId value, JsonSerializerOptions options) => writer.WriteNumberValue(value.Value);
    }
}

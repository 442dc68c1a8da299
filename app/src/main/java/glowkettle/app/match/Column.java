package glowkettle.app.match;

import glowkettle.finding.Worded;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a column of a table of cells can be, by which words its head tells it, and where its figures go. */
public enum Column implements Worded {
    ID("id", "id", 0, List.of("id", "cell", "cellid", "nr", "no", "number", "name", "zelle", "zellennr", "nummer")),
    LOT("lot", "lot", 0, List.of("lot", "batch", "box", "los", "karton", "kiste")),
    CAPACITY_MAH(
            "capacity, mAh",
            "capacityMah",
            0,
            List.of(
                    "capacity",
                    "cap",
                    "mah",
                    "capacitymah",
                    "q",
                    "kapazität",
                    "kapazitaet",
                    "kap",
                    "kapazitätmah",
                    "kapazitaetmah")),
    CAPACITY_AH("capacity, Ah", "capacityMah", 3, List.of("ah", "capacityah", "kapazitätah", "kapazitaetah")),
    RESISTANCE_MOHM(
            "resistance, mΩ",
            "resistanceMohm",
            0,
            List.of(
                    "resistance",
                    "mohm",
                    "mω",
                    "ir",
                    "r",
                    "resistancemω",
                    "resistancemohm",
                    "ri",
                    "rimω",
                    "rimohm",
                    "innenwiderstand",
                    "widerstand",
                    "innenwiderstandmω",
                    "innenwiderstandmohm",
                    "widerstandmω",
                    "widerstandmohm")),
    RESISTANCE_OHM(
            "resistance, Ω",
            "resistanceMohm",
            3,
            List.of(
                    "ohm",
                    "ω",
                    "resistanceω",
                    "resistanceohm",
                    "innenwiderstandω",
                    "innenwiderstandohm",
                    "widerstandω",
                    "widerstandohm")),
    RESTED_V(
            "rested voltage, V",
            "restedV",
            0,
            List.of(
                    "v",
                    "volt",
                    "volts",
                    "voltage",
                    "voltagev",
                    "restedv",
                    "restedvoltage",
                    "restedvoltagev",
                    "ocv",
                    "spannung",
                    "spannungv",
                    "ruhespannung",
                    "ruhespannungv",
                    "leerlaufspannung",
                    "leerlaufspannungv")),
    RESTED_MV(
            "rested voltage, mV",
            "restedV",
            -3,
            List.of("mv", "voltagemv", "restedmv", "spannungmv", "ruhespannungmv")),
    DROP_MV_DAY(
            "drop, mV a day",
            "dropMvPerDay",
            0,
            List.of(
                    "drop",
                    "dropmvday",
                    "mvday",
                    "dropmvperday",
                    "selfdischarge",
                    "abfall",
                    "mvtag",
                    "abfallmvtag",
                    "spannungsabfall",
                    "spannungsabfallmvtag",
                    "selbstentladung",
                    "selbstentladungmvtag")),
    MASS_G(
            "mass, g",
            "massG",
            0,
            List.of("mass", "massg", "weight", "weightg", "g", "masse", "masseg", "gewicht", "gewichtg")),
    CHARGE_C(
            "warmest in its charge test, °C",
            "chargeC",
            0,
            List.of(
                    "chargec",
                    "warmest",
                    "warmestc",
                    "temperature",
                    "temp",
                    "tempc",
                    "temperatur",
                    "temperaturc",
                    "ladetemperatur",
                    "ladetemperaturc")),
    AMBIENT_C(
            "air in its charge test, °C",
            "ambientC",
            0,
            List.of(
                    "ambient",
                    "ambientc",
                    "air",
                    "airc",
                    "luft",
                    "luftc",
                    "umgebung",
                    "umgebungc",
                    "raumtemperatur",
                    "raumtemperaturc")),
    DENTED("dented", "dented", 0, List.of("dent", "dented", "delle", "verbeult")),
    RUSTY("rusty", "rusty", 0, List.of("rust", "rusty", "rost", "rostig")),
    TORN_WRAP(
            "wrap torn",
            "tornWrap",
            0,
            List.of("wrap", "tornwrap", "wraptorn", "hülle", "huelle", "hülleverletzt", "huelleverletzt")),
    MAKER("maker", "maker", 0, List.of("maker", "make", "brand", "hersteller", "marke")),
    CHEMISTRY("chemistry", "chemistry", 0, List.of("chemistry", "chem", "type", "chemie", "typ")),
    IGNORED("not read", null, 0, List.of());

    private final String words;
    private final @Nullable String field;
    private final int shift;
    private final List<String> heads;

    Column(String words, @Nullable String field, int shift, List<String> heads) {
        this.words = words;
        this.field = field;
        this.shift = shift;
        this.heads = heads;
    }

    @Override
    public String words() {
        return words;
    }

    /** The component of a cell that it fills; empty for what is not read. */
    Optional<String> field() {
        return Optional.ofNullable(field);
    }

    /** Places the decimal point moves to the right. */
    int shift() {
        return shift;
    }

    boolean isYesOrNo() {
        return this == DENTED || this == RUSTY || this == TORN_WRAP;
    }

    /** What a head names; empty where no column is called so. */
    static Optional<Column> named(String head) {
        String plain = head.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]", "");
        return Arrays.stream(values())
                .filter(column -> column.heads.contains(plain))
                .findFirst();
    }
}

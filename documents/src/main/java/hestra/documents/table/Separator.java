package hestra.documents.table;

/** What stands between the columns of a text. */
public enum Separator {
    TAB("tabs", '\t'),
    SEMICOLON("semicolons", ';'),
    BAR("bars", '|'),
    COMMA("commas", ','),
    /** Two or more spaces: single spaces may stand within a cell. */
    WIDE_SPACES("wide spaces", ' '),
    SPACES("spaces", ' '),
    /** The text is one column. */
    NONE("nothing", '\0');

    private final String words;
    private final char sign;

    Separator(String words, char sign) {
        this.words = words;
        this.sign = sign;
    }

    public String inWords() {
        return words;
    }

    char sign() {
        return sign;
    }

    /** Whether quotation marks may enclose a cell that holds the separator. */
    boolean mayBeQuoted() {
        return this != WIDE_SPACES && this != SPACES && this != NONE;
    }
}

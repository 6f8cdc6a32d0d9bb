package hestra.desktop.parts;

/** What a person has chosen and finds again the next time. */
public interface Kept {

    /** A number that was kept; the usual one where none was. */
    double number(String key, double usual);

    /** Keeps something. */
    void put(String key, Object value);
}

package hestra.data;

/**
 * Which column explains and which responds.
 *
 * @param explanatory column of x, from 0
 * @param response column of y, from 0, another one
 */
public record Roles(int explanatory, int response) {

    /** The first column explains, the second responds. */
    public static final Roles FIRST_EXPLAINS = new Roles(0, 1);

    public Roles {
        if (explanatory == response || explanatory < 0 || response < 0) {
            throw new IllegalArgumentException("columns " + explanatory + " and " + response);
        }
    }

    public Roles swapped() {
        return new Roles(response, explanatory);
    }
}

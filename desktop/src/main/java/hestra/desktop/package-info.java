/**
 * The JavaFX program and the command line. Packages from the bottom up: {@code parts}, {@code look} and {@code demo}; {@code model}
 * and {@code figure}; {@code files}; the views {@code sheet}, {@code plot}, {@code table}, {@code readings} and {@code working}, of
 * which none knows another; {@code write}; {@code window}; {@code tour}; {@code cli}.
 */
package hestra.desktop;

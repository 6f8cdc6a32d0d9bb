/**
 * The JavaFX program and the command line. Packages from the bottom up: {@code parts}, {@code look} and {@code demo};
 * {@code model} and {@code figure}; {@code files} and {@code notes}; the views {@code start}, {@code sheet}, {@code study},
 * {@code overview}, {@code plot}, {@code table}, {@code readings}, {@code working} and {@code mark}, of which none knows another;
 * {@code write}, which is made with the table; {@code window}; {@code tour}; {@code cli}.
 */
package hestra.desktop;

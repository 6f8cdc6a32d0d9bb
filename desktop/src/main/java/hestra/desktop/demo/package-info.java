/**
 * The data sets and exercises of Orrin Bay, a made-up field station.
 */
package hestra.desktop.demo;

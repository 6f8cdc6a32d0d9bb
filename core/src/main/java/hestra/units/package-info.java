/** Units of measurement, read as people write them and compared: "cm/d" is "centimetres per day", and 0.01 m is 1 cm. */
package hestra.units;

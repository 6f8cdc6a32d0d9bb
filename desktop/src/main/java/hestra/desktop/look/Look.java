package hestra.desktop.look;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;

import hestra.documents.picture.Palette;

/** Light or dark, and how large the type is: one for all views. */
public final class Look {

    /** The sizes of type that can be chosen: usual, larger, and for the back of a room. */
    public static final double[] TYPE_SIZES = {1, 1.2, 1.45};

    private final BooleanProperty dark = new SimpleBooleanProperty(false);
    private final DoubleProperty type = new SimpleDoubleProperty(1);

    /** One that goes with this one, for views that come and go: what watches it does not outlive them. */
    public Look alongside() {
        Look other = new Look();
        other.dark.bindBidirectional(dark);
        other.type.bindBidirectional(type);
        return other;
    }

    public BooleanProperty darkProperty() {
        return dark;
    }

    public DoubleProperty typeProperty() {
        return type;
    }

    public double type() {
        return type.get();
    }

    /** The colours for what is painted rather than styled. */
    public Palette palette() {
        return dark.get() ? Palette.DARK : Palette.LIGHT;
    }

    /** The next larger size of type, and after the largest the usual one. */
    public void nextType() {
        for (double size : TYPE_SIZES) {
            if (size > type.get() + 0.01) {
                type.set(size);
                return;
            }
        }
        type.set(TYPE_SIZES[0]);
    }
}

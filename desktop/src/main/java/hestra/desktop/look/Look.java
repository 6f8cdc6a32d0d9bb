package hestra.desktop.look;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;

import hestra.documents.picture.Palette;

/** Light or dark, of high contrast or not, and how large the type is: one for all views. */
public final class Look {

    /** The sizes of type that can be chosen: usual, larger, for the back of a room, and up to twice the usual. */
    public static final double[] TYPE_SIZES = {1, 1.2, 1.45, 1.6, 1.75, 1.9, 2};

    private final BooleanProperty dark = new SimpleBooleanProperty(false);
    private final BooleanProperty highContrast = new SimpleBooleanProperty(false);
    private final BooleanProperty likeTheSystem = new SimpleBooleanProperty(false);
    private final ReadOnlyObjectWrapper<Palette> palette = new ReadOnlyObjectWrapper<>(Palette.LIGHT);
    private final DoubleProperty type = new SimpleDoubleProperty(1);

    /** Light, of usual contrast and usual size. */
    public Look() {
        dark.subscribe(this::paint);
        highContrast.subscribe(this::paint);
    }

    private void paint() {
        Palette light = highContrast.get() ? Palette.HIGH_CONTRAST : Palette.LIGHT;
        Palette night = highContrast.get() ? Palette.HIGH_CONTRAST_DARK : Palette.DARK;
        palette.set(dark.get() ? night : light);
    }

    /** One that goes with this one, for views that come and go: what watches it does not outlive them. */
    public Look alongside() {
        Look other = new Look();
        other.dark.bindBidirectional(dark);
        other.highContrast.bindBidirectional(highContrast);
        other.type.bindBidirectional(type);
        return other;
    }

    public BooleanProperty darkProperty() {
        return dark;
    }

    public BooleanProperty highContrastProperty() {
        return highContrast;
    }

    /** Whether light or dark and the contrast follow what the system is set to; not once somebody chose by hand. */
    public BooleanProperty likeTheSystemProperty() {
        return likeTheSystem;
    }

    public DoubleProperty typeProperty() {
        return type;
    }

    public double type() {
        return type.get();
    }

    /** The colours for what is painted rather than styled. */
    public Palette palette() {
        return palette.get();
    }

    /** The same, to be watched. */
    public ReadOnlyObjectProperty<Palette> paletteProperty() {
        return palette.getReadOnlyProperty();
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

    /** The next smaller size of type; the usual one is the smallest. */
    public void smallerType() {
        for (int i = TYPE_SIZES.length - 1; i >= 0; i--) {
            if (TYPE_SIZES[i] < type.get() - 0.01) {
                type.set(TYPE_SIZES[i]);
                return;
            }
        }
    }
}

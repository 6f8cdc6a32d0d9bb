package hestra.desktop.demo;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

import hestra.exercise.Exercise;
import hestra.numbers.Words;

/** The exercises of Orrin Bay, a made-up field station: together they are a course of ten weeks, and each can stand alone. */
public final class OrrinBay {

    private OrrinBay() {}

    /**
     * An exercise of the course.
     *
     * @param exercise its story, data and tasks
     * @param week in which week of the course it stands, from 1
     * @param aim what one can do afterwards, as the end of "afterwards you can \u2026"
     * @param minutes how long it takes, about
     */
    public record Set(Exercise exercise, int week, String aim, int minutes) {

        /** What one can do afterwards, as a sentence. */
        public String aimInFull() {
            return Story.aimInFull(aim);
        }

        /** All of it in a few sentences, for those who do not see the card. */
        public String inFull() {
            return "Week " + week + ". " + Words.ended(exercise.title()) + " " + exercise.heading() + " " + aimInFull();
        }
    }

    /** Those with one data set, the plainest first. */
    public static List<Set> sets() {
        return List.of(new Set(KelpBlades.exercise(), 1, KelpBlades.AIM, KelpBlades.MINUTES),
                new Set(CoolingFlask.exercise(), 7, CoolingFlask.AIM, CoolingFlask.MINUTES),
                new Set(Limpets.exercise(), 3, Limpets.AIM, Limpets.MINUTES),
                new Set(LichenRings.exercise(), 8, LichenRings.AIM, LichenRings.MINUTES),
                new Set(CrabClaws.exercise(), 6, CrabClaws.AIM, CrabClaws.MINUTES),
                new Set(Eelgrass.exercise(), 8, Eelgrass.AIM, Eelgrass.MINUTES),
                new Set(RopesAtThePier.exercise(), 9, RopesAtThePier.AIM, RopesAtThePier.MINUTES),
                new Set(FerryAndGulls.exercise(), 9, FerryAndGulls.AIM, FerryAndGulls.MINUTES),
                new Set(ReedBeds.exercise(), 4, ReedBeds.AIM, ReedBeds.MINUTES),
                new Set(MarketMorning.exercise(), 5, MarketMorning.AIM, MarketMorning.MINUTES),
                new Set(LightInTheBay.exercise(), 7, LightInTheBay.AIM, LightInTheBay.MINUTES));
    }

    /** The whole course in its order: those with one data set, one that is played with points, and one of three parts. */
    public static List<Set> shelf() {
        return Stream.concat(sets().stream(),
                Stream.of(new Set(Playground.exercise(), 2, Playground.AIM, Playground.MINUTES),
                        new Set(ThreeQuestions.exercise(), 10, ThreeQuestions.AIM, ThreeQuestions.MINUTES)))
                .sorted(Comparator.comparingInt(Set::week)).toList();
    }
}

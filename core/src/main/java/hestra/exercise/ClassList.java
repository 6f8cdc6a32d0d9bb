package hestra.exercise;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The names of a class in the order of their list, with what else the list says of each: a number, a group.
 *
 * @param headings what the further columns are called
 * @param entries a line each
 */
public record ClassList(List<String> headings, List<Entry> entries) {

    public static final ClassList NONE = new ClassList(List.of(), List.of());

    /**
     * A line of the list.
     *
     * @param variant the number of the copy that was, or is to be, made for the name, from 1
     * @param further what stands in the further columns
     */
    public record Entry(String name, int variant, List<String> further) {
        public Entry {
            further = List.copyOf(further);
            if (variant < 1 || variant > Copy.MOST_VARIANTS) {
                throw new IllegalArgumentException("variant " + variant);
            }
        }
    }

    public ClassList {
        headings = List.copyOf(headings);
        entries = List.copyOf(entries);
        int width = headings.size();
        if (entries.stream().anyMatch(it -> it.further().size() != width)) {
            throw new IllegalArgumentException("lines of other lengths than the headings");
        }
    }

    /** Names with nothing further, the first of which gets variant 1. */
    public static ClassList of(List<String> names) {
        return new ClassList(List.of(), IntStream.range(0, names.size())
                .mapToObj(i -> new Entry(names.get(i), i + 1, List.of())).toList());
    }

    public List<String> names() {
        return entries.stream().map(Entry::name).toList();
    }

    public boolean isEmpty() {
        return entries.isEmpty();
    }

    /** This list and after it what another says beyond it: of a name with a variant that stands in both, what the other says. */
    public ClassList and(ClassList later) {
        Set<String> all = new LinkedHashSet<>(headings);
        all.addAll(later.headings);
        List<String> wide = List.copyOf(all);
        List<Entry> kept = entries.stream().filter(entry -> later.entries.stream()
                .noneMatch(it -> it.variant == entry.variant && it.name.equals(entry.name))).toList();
        return new ClassList(wide, Stream.concat(kept.stream().map(it -> under(wide, it)), later.entries.stream()
                .map(it -> later.under(wide, it))).toList());
    }

    private Entry under(List<String> wide, Entry entry) {
        List<String> further = new ArrayList<>();
        wide.forEach(heading -> further.add(headings.contains(heading) ? entry.further.get(headings.indexOf(heading)) : ""));
        return new Entry(entry.name, entry.variant, further);
    }
}

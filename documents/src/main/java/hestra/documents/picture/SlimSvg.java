package hestra.documents.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;

import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;

/**
 * Makes an SVG smaller without changing how it looks: a circle that is filled and the same circle with its edge drawn right
 * after it become one that is both, and what many circles have alike is said once.
 */
final class SlimSvg {

    private static final int FEWEST = 4;
    private static final List<String> DRESS = List.of("fill", "stroke", "stroke-width");
    private static final List<String> PLACE = List.of("cx", "cy", "r");

    private static final Pattern BEFORE_COMMAND = Pattern.compile(" ([A-Z])");
    private static final Pattern UPRIGHT = Pattern.compile("M(\\S+) ([-0-9.]+)L\\1 ([-0-9.]+)");

    private SlimSvg() {}

    /** Works on an element and everything in it. */
    static void slim(Element element) {
        Element before = null;
        for (Element child : children(element)) {
            if (before != null && isFill(before) && isEdge(child) && PLACE.stream().allMatch(sameAs(before, child))) {
                merge(before, child);
                element.removeChild(child);
                before = null;
            } else {
                before = child;
                slim(child);
            }
        }
        hoist(element);
        if (element.hasAttribute("d")) {
            element.setAttribute("d", shortened(element.getAttribute("d")));
        }
    }

    /** The same path with fewer letters: no spaces before commands, and upright lines by their height alone. */
    private static String shortened(String path) {
        return UPRIGHT.matcher(BEFORE_COMMAND.matcher(path).replaceAll("$1")).replaceAll("M$1 $2V$3");
    }

    /** Circles that follow one another and look alike come into a group of their own, which says how they look once. */
    private static void hoist(Element element) {
        List<Element> run = new ArrayList<>();
        for (Element child : children(element)) {
            boolean goesOn = child.getTagName().equals("circle")
                    && (run.isEmpty() || DRESS.stream().allMatch(sameAs(run.getFirst(), child)));
            if (!goesOn) {
                group(run);
                run.clear();
            }
            if (child.getTagName().equals("circle")) {
                run.add(child);
            }
        }
        group(run);
    }

    private static void group(List<Element> run) {
        if (run.size() < FEWEST) {
            return;
        }
        Element first = run.getFirst();
        Element group = first.getOwnerDocument().createElementNS(first.getNamespaceURI(), "g");
        first.getParentNode().insertBefore(group, first);
        for (String name : DRESS) {
            String value = first.getAttribute(name);
            if (!value.isEmpty()) {
                group.setAttribute(name, value);
            }
            run.forEach(circle -> circle.removeAttribute(name));
        }
        run.forEach(group::appendChild);
    }

    private static Predicate<String> sameAs(Element one, Element other) {
        return name -> one.getAttribute(name).equals(other.getAttribute(name));
    }

    private static void merge(Element filled, Element edged) {
        filled.removeAttribute("stroke");
        NamedNodeMap attributes = edged.getAttributes();
        for (int i = 0; i < attributes.getLength(); i++) {
            Node attribute = attributes.item(i);
            if (!attribute.getNodeName().equals("fill")) {
                filled.setAttribute(attribute.getNodeName(), attribute.getNodeValue());
            }
        }
    }

    private static boolean isFill(Element element) {
        return element.getTagName().equals("circle") && element.getAttribute("stroke").equals("none");
    }

    private static boolean isEdge(Element element) {
        return element.getTagName().equals("circle") && element.getAttribute("fill").equals("none");
    }

    private static List<Element> children(Element element) {
        List<Element> children = new ArrayList<>();
        for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node instanceof Element child) {
                children.add(child);
            }
        }
        return children;
    }
}

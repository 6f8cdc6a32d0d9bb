package hestra.documents.page;

import java.util.Optional;

/**
 * A page of which several may stand in one PDF, each with its own page numbers.
 *
 * @param page what is on it
 * @param forWhom the name beside the title, a blank one where it is to be written in; nothing for no place for a name
 * @param foot what stands at the foot of each of its pages
 */
record Sheet(Page page, Optional<String> forWhom, String foot) {}

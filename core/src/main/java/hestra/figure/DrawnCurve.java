package hestra.figure;

import java.util.Optional;

import hestra.fit.CurveOnData;

/**
 * A curve as a plot shows it.
 *
 * @param slot its place, which gives it colour and dash
 * @param curve the curve
 * @param equation what its label says; empty for no label
 * @param label where its label was put; nothing for a place that suits
 */
public record DrawnCurve(Slot slot, CurveOnData curve, String equation, Optional<LabelPlace> label) {}

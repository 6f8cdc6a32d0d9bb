/**
 * Keys computed from the data, the judging of answers, and the mistakes that are recognised.
 */
package hestra.feedback;

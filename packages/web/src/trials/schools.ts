/** Names of the ways a question can be answered. */
import { named, SCHOOL_QUESTIONS, type SchoolQuestion } from '@patient-edge/core';

export const schoolName = ({ schools }: SchoolQuestion, id: string): string =>
  named(schools.find((school) => school.id === id)?.label ?? id);

/** Questions with two ways at least. */
export const QUESTIONS: readonly SchoolQuestion[] = SCHOOL_QUESTIONS.filter(
  ({ schools }) => schools.length > 1,
);
export const questionOf = (id: string): SchoolQuestion =>
  QUESTIONS.find((question) => question.id === id) ?? QUESTIONS[0]!;

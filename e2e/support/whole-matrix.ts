/** What the suite looks at once of its kind, `./patient-edge check --all` looks at in every size, appearance and kind. */
export const IS_WHOLE = process.env['PATIENT_EDGE_WHOLE_MATRIX'] === '1';
